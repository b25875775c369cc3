import type { Climate } from '../../core/cure/climate.ts'

/** A room as it is said: "18 °C and 53 % humidity". */
export const climateText = (
  { temperatureC, relativeHumidityPct }: Climate,
  between: ' and ' | ', ' = ' and ',
): string => `${Math.round(temperatureC)} °C${between}${Math.round(relativeHumidityPct)} % humidity`
