const WRITTEN = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  year: 'numeric',
  timeZone: 'UTC',
});

/** A day of the calendar (yyyy-mm-dd) as it is written on a note: 13 Dec 2026. */
export const dayWords = (day: string): string => WRITTEN.format(new Date(`${day}T00:00:00Z`));
