import { type RefObject, useCallback, useEffect, useLayoutEffect, useState } from "react";
import type { PlacedSlip } from "./order-slips";

const GAP = 10;

export type Layout = { tops: ReadonlyMap<string, number>; height: number; anchors: ReadonlyMap<string, { top: number; left: number }> };

/**
 * Where each slip stands: level with its evidence, pushed only as far as its neighbours need. The
 * slip in hand has the right of way; slips before it give way upwards, those after it downwards.
 */
export function useSlipTops(frame: RefObject<HTMLElement | null>, placed: readonly PlacedSlip[], activeId: string | undefined): Layout {
  const [layout, setLayout] = useState<Layout>({ tops: new Map(), height: 0, anchors: new Map() });
  const measure = useCallback(() => {
    const root = frame.current;
    if (!root) return;
    const origin = root.getBoundingClientRect();
    const anchors = new Map<string, { top: number; left: number }>();
    for (const element of root.querySelectorAll<HTMLElement>("[data-evidence]")) {
      const rects = element.getClientRects();
      const [first] = rects;
      for (const id of element.dataset.evidence!.split(" ")) {
        if (first && !anchors.has(id)) anchors.set(id, { top: first.top - origin.top, left: first.right - origin.left });
      }
    }
    const heights = new Map([...root.querySelectorAll<HTMLElement>("[data-slip]")].map((element) => [element.dataset.slip!, element.offsetHeight]));
    setLayout((old) => {
      const next = {
        ...placeSlips(
          placed.map(({ slip }) => slip.question.id),
          anchors,
          heights,
          activeId,
        ),
        anchors,
      };
      return sameLayout(old, next) ? old : next;
    });
  }, [frame, placed, activeId]);
  useLayoutEffect(measure, [measure]);
  useEffect(() => {
    const root = frame.current;
    if (!root) return;
    const observer = new ResizeObserver(() => measure());
    observer.observe(root);
    for (const element of root.querySelectorAll("[data-slip]")) observer.observe(element);
    void document.fonts.ready.then(measure);
    return () => observer.disconnect();
  }, [frame, measure]);
  return layout;
}

export function placeSlips(
  ids: readonly string[],
  anchors: ReadonlyMap<string, { top: number }>,
  heights: ReadonlyMap<string, number>,
  activeId: string | undefined,
): { tops: Map<string, number>; height: number } {
  const tops = new Map<string, number>();
  const heightOf = (id: string) => heights.get(id) ?? 90;
  const activeIndex = activeId === undefined ? -1 : ids.indexOf(activeId);
  const start = Math.max(0, activeIndex);
  let floor = 0;
  if (activeIndex > 0) {
    // Room that the slips before the one in hand need at the least.
    const above = ids.slice(0, activeIndex).reduce((sum, id) => sum + heightOf(id) + GAP, 0);
    const top = Math.max(above, (anchors.get(ids[activeIndex]!)?.top ?? 0) - 40);
    let ceiling = top;
    for (let i = activeIndex - 1; i >= 0; i--) {
      const id = ids[i]!;
      ceiling = Math.min((anchors.get(id)?.top ?? 0) - 8, ceiling - heightOf(id) - GAP);
      tops.set(id, ceiling);
    }
    // Nothing stands above the page: what was pushed over the edge comes back down in order.
    let edge = 0;
    for (const id of ids.slice(0, activeIndex)) {
      tops.set(id, Math.max(edge, tops.get(id)!));
      edge = tops.get(id)! + heightOf(id) + GAP;
    }
    floor = Math.max(edge, top);
  }
  for (const id of ids.slice(start)) {
    const wanted = anchors.has(id) ? anchors.get(id)!.top - (id === activeId ? 40 : 8) : floor;
    const top = id === activeId && activeIndex > 0 ? floor : Math.max(floor, wanted, 0);
    tops.set(id, top);
    floor = top + heightOf(id) + GAP;
  }
  return { tops, height: floor };
}

function sameLayout(a: Layout, b: Layout): boolean {
  if (a.height !== b.height || a.tops.size !== b.tops.size || a.anchors.size !== b.anchors.size) return false;
  for (const [id, top] of b.tops) if (a.tops.get(id) !== top) return false;
  for (const [id, anchor] of b.anchors) if (a.anchors.get(id)?.top !== anchor.top || a.anchors.get(id)?.left !== anchor.left) return false;
  return true;
}
