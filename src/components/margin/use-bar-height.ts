import { useEffect, useRef } from "react";

/**
 * Tells the page how high the bar above it stands, as `--bar`, so that what sticks below it is not
 * covered: the bar grows when it says why fewer drafts came. Nothing where the bar does not stick.
 */
export function useBarHeight() {
  const bar = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const element = bar.current;
    if (!element) return;
    const root = document.documentElement;
    const measure = () => root.style.setProperty("--bar", getComputedStyle(element).position === "sticky" ? `${element.offsetHeight}px` : "0px");
    const watch = new ResizeObserver(measure);
    watch.observe(element);
    window.addEventListener("resize", measure);
    return () => {
      watch.disconnect();
      window.removeEventListener("resize", measure);
      root.style.removeProperty("--bar");
    };
  }, []);
  return bar;
}
