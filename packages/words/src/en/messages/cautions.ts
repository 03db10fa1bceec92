/** What to be careful about, and why a mask is not offered. */
export const CAUTIONS = {
  'caution.allergen': 'Allergic to what is in {names}: a food allergy holds on the skin too.',
  'caution.latex-crossing': 'Latex allergy can cross with {names}.',
  'caution.patch-reaction': 'The skin complained of {names} in a patch test.',
  'caution.burned':
    'This mask burned or itched on this skin. Leave it, and ask a pharmacist or doctor; a patch test of each thing in it may tell which one it was.',
  'caution.burned-with':
    'A mask with {names} burned or itched on this skin, and it has not been told which of them it was: try a patch of skin first.',
  'caution.infant': 'Not for babies: honey, raw egg and a bowl in reach have no place near an infant under one.',
  'caution.no-infants': 'Keep {names} away from an infant under one, in the kitchen too.',
  'caution.too-young': 'Not under {years} years: leave out {names}.',
  'caution.scent-under-three': 'No essential oil under three years: leave out {names}.',
  'caution.broken-skin':
    'Not on broken, sore or infected skin. See a doctor or dermatologist; the lengths alone may do.',
  'caution.patch-waiting': 'A patch test of {names} is not over yet.',
  'caution.patch-first': 'New to this head: {names}. A dab on the inner elbow first, 24 to 48 hours.',
  'caution.child': 'A child: shorter, a towel over the eyes, nothing that stings, and somebody beside.',
  'caution.not-small-children': 'It bites: no {names} on a small child, even thinned.',
  'caution.stings-sensitive': 'Sensitive skin and {names} on the scalp: it can sting.',
  'caution.protein-often':
    'This head is protein-sensitive, and the household’s school gives protein often: watch for stiff, dry hair.',
  'caution.protein-sensitive':
    'This head is protein-sensitive, and there is protein in {names}: twelve weeks between, and watch for stiff, dry hair.',
  'caution.citrus-and-sun': 'Sun and {names} do not go together: wash it out well before going outside.',
  'caution.alkaline': 'Alkaline and roughening: {names}. Seldom, short, a weak acid after.',
  'caution.acid-fades': 'Coloured or bleached hair: {names} can fade it.',
  'caution.lightens': 'Left this long, {names} can lighten hair a little.',
  'caution.raw-egg':
    'Raw egg: wash hands, bowl and sink; out of eyes and mouth; no warmth, cool to lukewarm water only.',
  'caution.warm-onto-egg': 'Melted fat is lukewarm before it meets egg, or the egg cooks in the bowl.',
  'caution.cooked-starch':
    'Cooked and starchy: {names}. Cool within the hour, into the fridge, used within {hours, plural, =24 {a day} one {# hour} other {# hours}}.',
  'caution.overnight': 'Overnight is for what does not spoil: not with {each}.',
  'caution.stains': 'It stains: dark towel, old shirt, and before the shampoo.',
  'caution.aloe-sap': 'Aloe’s yellow sap irritates: drain the cut leaf and rinse it.',
  'caution.hot-work': 'Hot starch and steam burn: lid vented, a cloth over it, children out of reach.',
  'caution.dryer-burns': 'Steam and hooded dryers burn: low, short, and a hand on the cap.',
  'caution.face': 'Not on the face with {names} in it.',
  'caution.parts-from-oil': 'Oil and {names} part: shake or stir before each section.',
  'caution.oily': 'Oil is {percent} % of it: two shampoos, or a cap kept on the pillow.',
  'caution.oil-treatment': 'With {percent} % oil this is an oil treatment: it lies thin, and wants two shampoos.',
  'caution.see-somebody':
    'Flakes or itch that last, sores, patchy or sudden loss: ask a pharmacist, doctor or dermatologist.',
  'decision.against-stop': '{stops} Decided: {words}',
  'exclusion.smell': 'Smells of {names}.',
  'exclusion.too-long': 'Takes {minutes, plural, one {# minute} other {# minutes}} from the knife to the rinse.',
  'exclusion.before-shampoo': 'Goes on before the shampoo.',
  'exclusion.after-shampoo': 'Goes on after the shampoo.',
  'exclusion.too-soon':
    'Too soon after the last {rhythm, select, protein {protein} acid {acid} clarifying {clarifying} oil {oil} other {deep care}} mask.',
  'exclusion.too-soon-again': 'It asks for {days, plural, one {a day} other {# days}} between two uses.',
  'exclusion.patch-first': 'Patch-test {names} today.',
} as const;
