import { format, parseISO } from 'date-fns'

/** A date as it is written on every page, in every refusal and on every label: "3 Dec 2026". */
export const dateText = (iso: string): string => format(parseISO(iso), 'd MMM yyyy')
