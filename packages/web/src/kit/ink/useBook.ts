import { shallowRef, type ShallowRef } from 'vue';

type Book = typeof import('./book');
const book = shallowRef<Book>();
let asked: Promise<unknown> | undefined;

/** The book of drawings, once it is here. Until then a picture keeps its place empty: nothing on the page moves. */
export function useBook(): Readonly<ShallowRef<Book | undefined>> {
  asked ??= import('./book').then((come) => (book.value = come));
  return book;
}
