// Data files are read as unknown and checked by a schema where they enter the core.
declare module '*.json' {
  const value: unknown;
  export default value;
}
declare module '*.css';
declare module '@fontsource-variable/*';

/** What Vite fills in when it builds. */
interface ImportMeta {
  readonly env: { readonly PROD: boolean };
}
