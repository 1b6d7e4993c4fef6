import type { Metadata } from "next";
import type { ReactNode } from "react";
import { EarlyTyping } from "@/components/shell/EarlyTyping";
import { NOTE_EARLY_TYPING } from "@/components/shell/note-early-typing";
import "../globals.css";

export const metadata: Metadata = { title: { default: "Vumo", template: "%s · Vumo" }, description: "Draft questions with their proof, on this machine." };

export default function AppLayout({ children }: { children: ReactNode }) {
  return (
    <html lang="en">
      <head>
        {/* biome-ignore lint/security/noDangerouslySetInnerHtml: a text of ours, without anything from outside; it has to run before all other scripts */}
        <script dangerouslySetInnerHTML={{ __html: NOTE_EARLY_TYPING }} />
      </head>
      <body className="min-h-dvh">
        {children}
        <EarlyTyping />
      </body>
    </html>
  );
}
