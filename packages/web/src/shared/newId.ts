/** An id that nobody else makes: 128 random bits. Unlike `crypto.randomUUID` it is there on a page of the home network too, which is no secure context. */
export function newId(): string {
  return [...crypto.getRandomValues(new Uint8Array(16))].map((byte) => byte.toString(16).padStart(2, '0')).join('');
}
