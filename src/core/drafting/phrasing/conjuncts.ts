import type { Node } from "../../language/tree";

/** The parts of "red gills, clear eyes and firm flesh", each whole; one part where nothing is joined. */
export function conjunctsOf(node: Node): Node[] {
  if (/^(?:c-)?(?:j-)?(?:np|nb)(?:-c)?$/.test(node.cat) && node.role === "mark") return conjunctsOf(node.kids[node.head]!);
  if ((node.cat === "np" || node.cat === "npl" || node.cat === "nb") && node.role === "coordination") return node.kids.flatMap(conjunctsOf);
  // "many red, blue and green fish" joins inside a phrase; only whole phrases are parts.
  if (node.cat === "np" && node.kids.length === 1 && node.kids[0]!.role === "coordination") return conjunctsOf(node.kids[0]!);
  return [node];
}
