export { addPhoto, changePhoto, listPhotos, photoData, removePhoto } from './photos';
