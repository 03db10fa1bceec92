/** True for the Node versions this project runs on. @param {string} version such as `20.20.2` */
export function nodeFits(version) {
  const [major = 0, minor = 0] = version.split('.').map(Number);
  return (major === 20 && minor >= 19) || (major === 22 && minor >= 12) || major > 22;
}

/** Ends with a sentence on a Node that is too old. */
export function checkNode(fail) {
  if (!nodeFits(process.versions.node))
    fail(`Amber Ladle needs Node 20.19 or newer (22.12 in the 22 line); this is ${process.versions.node}.`);
}
