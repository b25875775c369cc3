/** Where a device beside the program answers. */
export interface DeviceAddress {
  readonly host: string
  readonly port: number
}

/** An address told as "host:port" or "[::1]:port"; null when that is none. */
export function deviceAddress(told: string, usualPort: number): DeviceAddress | null {
  const { host, port } =
    /^(?:(?<host>\[[\da-f:]+\]|[\w.-]+)(?::(?<port>\d{1,5}))?)?$/i.exec(told)?.groups ?? {}
  if (told !== '' && host === undefined) return null
  const number = Number(port ?? usualPort)
  return number > 65535 ? null : { host: (host ?? '127.0.0.1').replace(/[[\]]/g, ''), port: number }
}
