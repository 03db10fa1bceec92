/** What a sentence of a pasted mask is, beside what is measured in it and what it tells of use. */
export type Says = 'step' | 'tool' | 'warning' | 'praise' | 'nothing-known';

const WARNS =
  /\b(?:warning|careful|caution|patch[- ]test\w*|test (?:it )?on|keep (?:it )?(?:out of|away)|stings?|burns?|tingles?|stains?|not for|broken skin|sore|eyes|stop if|allerg\w+|do not|don.?t|never|avoid)\b/i;
const PRAISES =
  /\b(?:love[sd]?|so soft|soft(?:er|est)?|best|great|silk\w*|compliments|smells?|favou?rite|amazing|hugs|stars|saved|lazy|easy|wonderful|perfect|lovely|gorgeous|swears? by|swore by|believe|bouncy|drinks this)\b|^(?:hi|dear|ok so|honestly|thank)/i;
const DOES =
  /\b(?:mash|blend|mix|stir|boil|simmer|apply|leave|rinse|whisk|strain|add|heat|warm|beat|peel|wait|cover|wash|cook|massage|put|pour|spread|comb|work|press|scoop|drain|fold|melt|cool|soak|wear|section|grate|squeeze|smooth|whizz|blitz|crack|sieve|shake|spray|paint|twist|goes|fork)\b/i;

/** What a sentence says. @param isStep true under a heading of steps, or where something is measured in it */
export function says(sentence: string, isStep: boolean): Says {
  if (isStep) return 'step';
  if (WARNS.test(sentence)) return 'warning';
  if (DOES.test(sentence)) return 'step';
  return PRAISES.test(sentence) ? 'praise' : 'nothing-known';
}
