import type { NextConfig } from "next";

const config: NextConfig = {
  // Native, or with files and workers of their own that bundling would lose.
  serverExternalPackages: [
    "better-sqlite3",
    "iconv-lite",
    "chardet",
    "pdfjs-dist",
    "@napi-rs/canvas",
    "mammoth",
    "yauzl",
    "linkedom",
    "sharp",
    "tesseract.js",
    "undici",
    "cld3-asm",
    "sanitize-html",
    "fast-xml-parser",
  ],
  poweredByHeader: false,
  devIndicators: false,
  async headers() {
    const policy =
      "default-src 'self'; script-src 'self' 'unsafe-inline'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; font-src 'self'; connect-src 'self'; frame-ancestors 'self'; base-uri 'self'; form-action 'self'";
    return [
      {
        source: "/:path*",
        headers: [
          { key: "Content-Security-Policy", value: policy },
          { key: "X-Content-Type-Options", value: "nosniff" },
          { key: "Referrer-Policy", value: "no-referrer" },
        ],
      },
    ];
  },
};

export default config;
