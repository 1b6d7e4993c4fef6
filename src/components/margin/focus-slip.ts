/** Brings a slip into view once it has opened, and the cursor into one of its fields. */
export function focusSlip(id: string, field?: string): void {
  requestAnimationFrame(() =>
    requestAnimationFrame(() => {
      const card = document.querySelector<HTMLElement>(`[data-slip="${id}"]`);
      const target = field ? card?.querySelector<HTMLElement>(`[data-field="${field}"]`) : card;
      target?.focus({ preventScroll: true });
      card?.scrollIntoView({ block: "nearest" });
    }),
  );
}
