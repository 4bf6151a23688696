/** What opens on every screen: the one find, and the list of keys. */
export const everywhere = $state({ find: false, keys: false });
