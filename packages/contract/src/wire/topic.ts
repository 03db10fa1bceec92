/** What can change elsewhere, so that open tabs and other devices can look again. */
export const TOPICS = [
  'heads',
  'bowls',
  /** Which sections of a head have a bowl on, and nothing else of it. */
  'sections',
  'masks',
  'ingredients',
  'shelf',
  'climate',
  'settings',
  'clock',
  'washdays',
  'notes',
  'weeks',
  'door',
] as const;
export type Topic = (typeof TOPICS)[number];
