/**
 * Returns the item at an index.
 * @param list an array or a typed array
 * @throws RangeError where there is none
 */
export function itemAt<Item>(list: ArrayLike<Item | undefined>, index: number): Item {
  const item = list[index];
  if (item === undefined) throw new RangeError(`no item ${index} among ${list.length}`);
  return item;
}

/** Returns the first item. @throws RangeError where the list is empty */
export const firstOf = <Item>(list: ArrayLike<Item | undefined>): Item => itemAt(list, 0);

/** Returns the last item. @throws RangeError where the list is empty */
export const lastOf = <Item>(list: ArrayLike<Item | undefined>): Item => itemAt(list, list.length - 1);

/** Returns the value of a key. @throws RangeError where the map has none */
export function entryOf<Key, Value>(map: { get: (key: Key) => Value | undefined }, key: Key): Value {
  const value = map.get(key);
  if (value === undefined) throw new RangeError(`no entry ${String(key)}`);
  return value;
}

/** Returns a value that the caller knows to be there. @throws TypeError where it is not */
export function definite<Value>(value: Value | null | undefined): Value {
  if (value === undefined || value === null) throw new TypeError('a value that must be there is missing');
  return value;
}
