/** What can change elsewhere, so that open tabs and other devices can look again. */
export const TOPICS = [
  'heads',
  'bowls',
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
