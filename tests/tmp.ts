import { readFileSync } from "node:fs";
import path from "node:path";
import { importFile } from "@/core/importers/import-file";
(async()=>{
for (const file of process.argv.slice(2)) {
  const t=performance.now();
  const r = await importFile({ bytes: readFileSync(file), name: path.basename(file) }, { progress(){}, pdfAssets: path.resolve("node_modules/pdfjs-dist")+"/", readPicture: async()=>({ok:false,problem:{type:"picture-without-text"}}) as const });
  console.log("=====", file, Math.round(performance.now()-t)+"ms");
  if(!r.ok){console.log(r.problem);continue;}
  console.log(r.value.kind, "|", r.value.title, "|", r.value.language, r.value.warnings, r.value.pages, r.value.slides);
  for (const b of r.value.blocks) console.log((b.leftOut?`  x[${b.leftOut}] `:"  ")+`${b.kind}${b.level??""} ${JSON.stringify(Object.values(b.locator))}: ${b.text}`);
}})();
