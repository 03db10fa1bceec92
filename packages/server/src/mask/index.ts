export { createMask, getMask, listMasks, maskVersions, removeMask, restoreMask, updateMask } from './masks';
