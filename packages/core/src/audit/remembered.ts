/** What is worked out of something that never changes: the second time it is looked up. Nothing outlives what it was worked out of. */
export function remembered<Of extends object, Name, Value>(find: (of: Of, name: Name) => Value) {
  const known = new WeakMap<Of, Map<Name, Value>>();
  return (of: Of, name: Name): Value => {
    let values = known.get(of);
    if (!values) known.set(of, (values = new Map()));
    if (!values.has(name)) values.set(name, find(of, name));
    return values.get(name)!;
  };
}
