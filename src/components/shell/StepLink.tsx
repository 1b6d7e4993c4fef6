"use client";
import Link from "next/link";
import { usePathname } from "next/navigation";

export function StepLink({ href, name, count }: { href: string; name: string; count?: number }) {
  const here = usePathname() === href;
  return (
    <Link
      href={href}
      aria-current={here ? "page" : undefined}
      className={`block whitespace-nowrap border-b-2 px-2.5 py-3 text-[0.95rem] ${here ? "border-spruce font-bold" : "border-transparent text-soft hover:text-ink"}`}
    >
      {name}
      {count !== undefined && count > 0 ? <span className="tabular ml-1.5 font-normal text-soft text-sm">{count}</span> : null}
    </Link>
  );
}
