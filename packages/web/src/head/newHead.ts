import { headText } from '@amber-ladle/words';
import { USUAL_LOOK, type Head, type HeadInput } from '@amber-ladle/contract';
import { scalpAreaAtAge } from '@amber-ladle/core/hair';
import { NO_STORY } from '@amber-ladle/core/judge';

/** A grown-up's age until one is said. */
const USUAL_YEARS = 30;

/** A head before anything is said of it: middling hair to the shoulder. */
export const newHead = (): HeadInput => ({
  name: '',
  note: '',
  ageYears: USUAL_YEARS,
  sensitiveSkin: false,
  profile: {
    amount: { kind: 'density', density: 'medium' },
    strandDiameterMicrometres: 70,
    stretchedLengthCentimetres: 30,
    evenness: 'long-layers',
    scalpAreaSquareCentimetres: scalpAreaAtAge(USUAL_YEARS),
    style: 'loose',
  },
  story: NO_STORY,
  look: USUAL_LOOK,
});

/** Whoever stands at the bench before anybody was named. Nothing of it is kept; it is named when a bowl is. */
export const GUEST: Head = {
  ...newHead(),
  story: NO_STORY,
  look: USUAL_LOOK,
  id: 'guest',
  name: headText.thisHead,
  version: 0,
  createdAt: '',
  updatedAt: '',
};
export const isGuest = (head: Pick<Head, 'id'> | undefined): boolean => head?.id === GUEST.id;
