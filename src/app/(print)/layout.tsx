import type { ReactNode } from "react";
import "../globals.css";
import "../print.css";

/** Sheets for paper: always black on white, nothing of the application around them. */
export default function PrintLayout({ children }: { children: ReactNode }) {
  return (
    <html lang="en">
      <body className="printed">{children}</body>
    </html>
  );
}
