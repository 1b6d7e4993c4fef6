import Link from "next/link";
import { StepLink } from "./StepLink";

type Step = { href: string; name: string; count?: number };

/** Where one is, and the strip of steps: any of them, in any order. */
export function TopBar({ title, steps }: { title?: string; steps: Step[] }) {
  return (
    <header className="border-line border-b bg-ground print:hidden">
      <a href="#main" className="sr-only focus:not-sr-only focus:absolute focus:z-30 focus:m-2 focus:bg-sheet focus:p-2">
        Go to the content
      </a>
      <div className="flex min-h-12 flex-wrap items-center gap-x-5 px-4 sm:px-5">
        <Link href="/sources" className="font-read font-semibold text-xl">
          Vumo
        </Link>
        {title ? <p className="min-w-40 flex-1 truncate font-semibold text-[0.95rem]">{title}</p> : <span className="flex-1" />}
        <nav aria-label="Steps" className="-mb-px max-w-full overflow-x-auto">
          <ul className="flex gap-1">
            {steps.map((step) => (
              <li key={step.href}>
                <StepLink {...step} />
              </li>
            ))}
          </ul>
        </nav>
      </div>
    </header>
  );
}
