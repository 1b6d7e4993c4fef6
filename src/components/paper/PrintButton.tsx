"use client";
import { Printer } from "lucide-react";

export function PrintButton() {
  return (
    <button type="button" className="button button-main print:hidden" onClick={() => window.print()}>
      <Printer size={16} aria-hidden /> Print the key
    </button>
  );
}
