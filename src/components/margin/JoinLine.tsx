/** The thin line from the evidence to its slip. */
export function JoinLine({ frameTop, fromLeft, page, cardTop }: { frameTop: number; fromLeft: number; page: number; cardTop: number }) {
  const from = Math.min(fromLeft + 4, page) - page;
  const top = Math.min(frameTop, cardTop);
  const height = Math.abs(frameTop - cardTop);
  const [y1, y2] = [frameTop - top, cardTop - top];
  return (
    <svg aria-hidden className="pointer-events-none absolute z-0 overflow-visible" style={{ left: from, top }} width={24 - from} height={height || 1}>
      <circle cx="0" cy={y1} r="3" className="fill-spruce" />
      <path
        d={`M0 ${y1} C ${(24 - from) * 0.6} ${y1}, ${(24 - from) * 0.5} ${y2}, ${24 - from} ${y2}`}
        className="fill-none stroke-spruce"
        strokeWidth="1.25"
      />
    </svg>
  );
}
