/** Works something out of a value once, however often it is asked for. */
export function rememberedBy<Of extends object, Made>(make: (of: Of) => Made): (of: Of) => Made {
  const made = new WeakMap<Of, Made>();
  return (of) => {
    const known = made.get(of);
    if (known !== undefined) return known;
    const fresh = make(of);
    made.set(of, fresh);
    return fresh;
  };
}
