/** The number on a ticket as it is written: four digits, more where it has more. */
export const ticketNumber = (number: number): string => String(number).padStart(4, "0");
