import Link from "next/link";
import type { SpecificationRow } from "@/core/checking/survey-set";
import { kindOf } from "@/core/questions/kinds";
import { DEPTHS } from "@/core/questions/question";

/** Kind by depth: how many are kept, beside how many were planned. */
export function SpecificationTable({ rows, only }: { rows: readonly SpecificationRow[]; only: (ids: readonly string[]) => string }) {
  return (
    <table className="tabular w-full text-left text-sm">
      <thead className="text-soft">
        <tr>
          <th className="py-1 pr-3 font-normal">Kind</th>
          {DEPTHS.map((depth) => (
            <th key={depth} className="py-1 pr-3 font-normal">
              {depth}
            </th>
          ))}
          <th className="py-1 pr-3 font-normal">kept of planned</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <tr key={row.kind} className="border-line border-t">
            <th className="py-1.5 pr-3 font-normal">{kindOf(row.kind).name}</th>
            {DEPTHS.map((depth) => (
              <td key={depth} className="py-1.5 pr-3">
                {row.byDepth[depth].length > 0 ? (
                  <Link className="text-spruce underline" href={only(row.byDepth[depth])}>
                    {row.byDepth[depth].length}
                  </Link>
                ) : (
                  "–"
                )}
              </td>
            ))}
            <td className="py-1.5 pr-3">
              <b>{row.kept}</b> of {row.planned}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
