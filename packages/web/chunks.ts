/**
 * Which file a module is built into. A file to each module that two pages share were over a hundred for the first card, and a phone
 * fetches six at a time; one file for all were half a megabyte before Today says a word. So what Today needs is together, and what
 * other pages need is beside it. `npm run bench -- load` tells what comes of it, page by page; a test holds Today to its aim.
 */

const inPackage = (path: string): RegExp => new RegExp(`packages/${path}`);

const VUE = /node_modules\/(@vue|vue|vue-router|pinia|@vueuse|@mdi)\/|vite\/preload-helper/;

const CONTROLS = /node_modules\/@?vuetify\//;
/** What lies over a page: sheets, and what is said at its foot. No page begins with one. */
const SHEETS =
  /vuetify\/lib\/(components\/V(Overlay|Dialog|Snackbar|SnackbarQueue|Tooltip|BottomSheet)\/|components\/transitions\/dialog|composables\/(focusTrap|stack|teleport|delay|lazy|hydration|scopeId|forwardRefs)\.|directives\/click-outside)/;
/** Where something is entered, or chosen of many. Today has buttons and nothing else. */
const FIELDS =
  /vuetify\/lib\/(components\/V(?!(App|Main|Btn|BtnGroup|BtnToggle|Icon|ProgressLinear|ProgressCircular|DefaultsProvider)\/)|components\/transitions\/|directives\/(touch-hold|intersect)|composables\/(validation|filter|list-items|virtual|nested|autocomplete|autofocus|selectLink|menuActivator|form|focus|focusGroups|openOnFocus|transition|rules)[./]|util\/(animation|getScrollParent|bindProps|throttle|isFixedPosition|dom)\.)|@vuetify\/v0\/dist\/(utilities\/diacritics|composables\/toHighlight)|web\/src\/kit\/NumberField/;

/** Parts of the kit that Today has; the rest is for pages where something is chosen, set or heard. */
const FIRST_KIT = inPackage(
  'web/src/kit/(MaskById|firstCard|tabTitle|useKeptHere|useKeys|useNewest|useThisDevice|ink/(InkPicture|IngredientPicture|MaskPicture|ScenePicture|curve|mask|pigments|sizes|texture|useBook))',
);
const MORE_KIT = inPackage('web/src/kit/(?!ink|useInk|useChartLook|CodeDrawing|FilePanel|useSchemaForm|SheetDialog)');

/** What Today knows by itself: what there is, how long it keeps, and what is to be careful of. */
const FIRST_CORE = inPackage(
  'core/src/(?!batch|exchange|house|learn|plan|statistic|hair/(?!profile|strands)|mask/(?!careful|wears|index)|recipe/(?!making|tree)|washday/(?!wear)|ingredient/(flow|density)|shelf/(place|stock))',
);
const FIRST_WORDS = inPackage('words/src/(?!line|en/(things|pages|screens/(?!judge|mask|shelf|today|when)))');

interface Group {
  readonly name: string;
  readonly test: (module: string) => boolean;
  /** By how many files it must be wanted; else it stays with the one. */
  readonly minShareCount?: number;
}

/** Whether a module is of one of these kinds, on whichever system it is built. */
const isOf =
  (...kinds: readonly RegExp[]) =>
  (module: string): boolean => {
    const path = module.replaceAll('\\', '/');
    return kinds.some((kind) => kind.test(path));
  };

/** In the order in which they are asked. */
export const chunks: Group[] = [
  { name: 'vue', test: isOf(VUE) },
  { name: 'controls', test: (module) => isOf(CONTROLS)(module) && !isOf(FIELDS, SHEETS)(module) },
  { name: 'kit', test: isOf(FIRST_KIT), minShareCount: 2 },
  { name: 'data', test: isOf(inPackage('web/src/data/(?!useKeptBowl)')), minShareCount: 4 },
  // Checking is for the pages where something is entered, and what a page says is its own.
  { name: 'checks', test: isOf(/node_modules\/(yup|property-expr|tiny-case|toposort)\//) },
  { name: 'core', test: isOf(FIRST_CORE, FIRST_WORDS), minShareCount: 4 },
  // Of alarms, which come after the first look.
  { name: 'sounds', test: isOf(inPackage('web/src/kit/(audio|sounds|speech|useAloud)')) },
  { name: 'kit-more', test: isOf(MORE_KIT), minShareCount: 2 },
  // Sizing, which the bench does itself and Today leaves to the worker.
  { name: 'sizing', test: isOf(inPackage('core/src/(batch|hair|house|mask)/(?!index)')), minShareCount: 3 },
  { name: 'steps', test: isOf(inPackage('core/src/(recipe|washday)/')), minShareCount: 3 },
  { name: 'sheets', test: isOf(SHEETS) },
  { name: 'fields', test: isOf(FIELDS), minShareCount: 2 },
];
