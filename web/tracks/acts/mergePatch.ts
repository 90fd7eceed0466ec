/** A JSON merge patch (RFC 7396): what it leaves out stays, null takes away, lists are replaced as a whole. */
export type Patch = Record<string, unknown>;

/** One patch that does what two do, one after the other. Its twin on the server is core/Lesson/MergePatch.php. */
export function joined(first: Patch, second: Patch): Patch {
  const result: Patch = { ...first };
  for (const [name, value] of Object.entries(second)) {
    const under = result[name];
    result[name] = isObject(value) ? joined(isObject(under) ? under : {}, value) : value;
  }
  return result;
}

function isObject(value: unknown): value is Patch {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
