/** The hatch patterns, once a page; drawings refer to them by id. */
export function Hatches() {
  return (
    <svg width="0" height="0" className="absolute" aria-hidden="true" focusable="false">
      <title>Hatches</title>
      <defs>
        <pattern id="hatch-dots" width="7" height="7" patternUnits="userSpaceOnUse">
          <circle cx="2" cy="2" r="0.9" fill="#a08b4e" />
          <circle cx="5.5" cy="5.5" r="0.9" fill="#a08b4e" />
        </pattern>
        <pattern id="hatch-lines" width="8" height="5" patternUnits="userSpaceOnUse">
          <path d="M0 2.5H8" stroke="#3f7488" strokeWidth="1" />
        </pattern>
        <pattern id="hatch-cross" width="7" height="7" patternUnits="userSpaceOnUse">
          <path d="M0 0L7 7M7 0L0 7" stroke="#7a6048" strokeWidth="0.8" />
        </pattern>
        <pattern id="hatch-diagonal" width="8" height="8" patternUnits="userSpaceOnUse">
          <path d="M-2 6L6 -2M2 10L10 2" stroke="#7c8634" strokeWidth="1.1" />
        </pattern>
        <pattern id="hatch-waves" width="12" height="7" patternUnits="userSpaceOnUse">
          <path d="M0 4Q3 1 6 4T12 4" stroke="#6f93a3" strokeWidth="1" fill="none" />
        </pattern>
        <pattern id="hatch-rings" width="9" height="9" patternUnits="userSpaceOnUse">
          <circle cx="4.5" cy="4.5" r="2.2" stroke="#9c4f33" strokeWidth="0.9" fill="none" />
        </pattern>
        <pattern id="hatch-steep" width="6" height="10" patternUnits="userSpaceOnUse">
          <path d="M0 10L6 0" stroke="#b08d70" strokeWidth="0.7" />
        </pattern>
      </defs>
    </svg>
  );
}
