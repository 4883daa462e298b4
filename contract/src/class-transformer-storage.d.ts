/** class-transformer keeps its metadata here without declaring it; class-validator-jsonschema asks for it. */
declare module 'class-transformer/cjs/storage.js' {
  export const defaultMetadataStorage: object;
}
