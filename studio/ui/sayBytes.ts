const KB = 1024;

/** How large a file is, as people say it. */
export const sayBytes = (bytes: number): string =>
  bytes < KB * KB ? `${Math.max(1, Math.round(bytes / KB))} KB` : `${(bytes / KB / KB).toFixed(1)} MB`;
