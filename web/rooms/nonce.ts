// The dialogs’ scroll lock looks here for the word with which the server allows its style.
Object.assign(globalThis, {
  __webpack_nonce__: document.querySelector<HTMLMetaElement>('meta[name=style-nonce]')?.content,
});
