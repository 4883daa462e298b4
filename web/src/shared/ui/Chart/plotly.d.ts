declare module 'plotly.js-cartesian-dist-min' {
  export * from 'plotly.js-dist-min';
  export { default } from 'plotly.js-dist-min';
}
