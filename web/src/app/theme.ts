import type { MantineColorsTuple } from '@mantine/core';
import { createTheme } from '@mantine/core';

/** Shades of the blue rim; Mantine's own blue is too pale for text. */
const rim: MantineColorsTuple = [
  '#eaf0fa',
  '#d3def1',
  '#a9bde3',
  '#7c9bd5',
  '#577fc9',
  '#416dc2',
  '#3563be',
  '#2752a8',
  '#1f4896',
  '#1f3a68',
];

/** The head of a dialog is no second head of the page. */
const plainHead = { defaultProps: { attributes: { header: { role: 'none' } } } };

export const theme = createTheme({
  colors: { rim },
  primaryColor: 'rim',
  primaryShade: { light: 9, dark: 6 },
  autoContrast: true,
  fontFamily: "'Atkinson Hyperlegible', system-ui, sans-serif",
  headings: { fontFamily: "'Fraunces Variable', Georgia, serif", fontWeight: '600' },
  defaultRadius: 'md',
  cursorType: 'pointer',
  components: {
    Button: { defaultProps: { size: 'md' } },
    Select: { defaultProps: { size: 'md', comboboxProps: { shadow: 'md' } } },
    NumberInput: { defaultProps: { size: 'md' } },
    TextInput: { defaultProps: { size: 'md' } },
    // 24 px: WCAG 2.2, 2.5.8, target size.
    Checkbox: { defaultProps: { size: 'md' } },
    // Mantine's own is too pale on enamel.
    InputWrapper: { styles: { description: { color: 'var(--ink-soft)' } } },
    Modal: plainHead,
    Drawer: plainHead,
  },
});
