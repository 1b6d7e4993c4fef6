import Link from "next/link";
import { TopBar } from "@/components/shell/TopBar";

export default function NotFound() {
  return (
    <>
      <TopBar steps={[{ href: "/sources", name: "Sources" }]} />
      <main id="main" className="mx-auto max-w-xl px-5 py-16">
        <h1 className="font-read font-semibold text-2xl">There is no such page.</h1>
        <p className="mt-2">
          The set may be in another data folder.{" "}
          <Link className="text-spruce underline" href="/sources">
            Go to Sources
          </Link>{" "}
          to see what is here.
        </p>
      </main>
    </>
  );
}
