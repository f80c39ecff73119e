import { createTheme, type CSSVariablesResolver, type MantineColorsTuple } from '@mantine/core';

/** Colours are glazes: porcelain, iron-black, celadon, ochre, oxblood, cobalt, raw clay. */
const celadon: MantineColorsTuple = ['#eef4f0', '#dbe8e0', '#b9d3c4', '#94bca6', '#75a98c', '#5a947a', '#47806a', '#386b57', '#2e5847', '#234539'];
const ochre: MantineColorsTuple = ['#fbf3e1', '#f5e4bf', '#ebcb87', '#e0b04d', '#d39a24', '#b57f12', '#96660a', '#7b5205', '#634204', '#4b3203'];
const oxblood: MantineColorsTuple = ['#faeeec', '#f2d6d2', '#e3aca5', '#d17f75', '#bd574b', '#a63c30', '#8f2e24', '#78241c', '#601c16', '#491510'];
const cobalt: MantineColorsTuple = ['#edf1f9', '#d7e0f1', '#b0c3e4', '#86a2d3', '#5f82c2', '#4368af', '#345598', '#29457e', '#213865', '#192b4e'];
const clay: MantineColorsTuple = ['#f9f0ea', '#f0dccf', '#e2bda5', '#d29a78', '#c47e57', '#b3673f', '#985232', '#7e4329', '#653621', '#4d2919'];

export const theme = createTheme({
  primaryColor: 'celadon',
  primaryShade: 7,
  colors: { celadon, ochre, oxblood, cobalt, clay },
  fontFamily: "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif",
  headings: { fontFamily: "'Bitter Variable', Georgia, serif", fontWeight: '620' },
  defaultRadius: 4,
  cursorType: 'pointer',
  components: {
    Button: { defaultProps: { size: 'md' } },
    TextInput: { defaultProps: { size: 'md' } },
    Select: { defaultProps: { size: 'md' } },
    NativeSelect: { defaultProps: { size: 'md' } },
    NumberInput: { defaultProps: { size: 'md' } },
    DateInput: { defaultProps: { size: 'md' } },
    Modal: { defaultProps: { closeButtonProps: { 'aria-label': 'Close' } } },
    Input: { styles: { input: { borderColor: 'var(--mantine-color-default-border)', background: 'var(--hs-surface)' } } },
    Radio: { defaultProps: { size: 'md' }, styles: { radio: { borderColor: 'var(--mantine-color-default-border)' } } },
    RadioGroup: { defaultProps: { size: 'md' } },
    Checkbox: { defaultProps: { size: 'md' }, styles: { input: { borderColor: 'var(--mantine-color-default-border)' } } },
    SegmentedControl: {
      styles: { root: { background: 'var(--hs-sunk)' }, indicator: { background: 'var(--hs-surface)' }, label: { color: 'var(--hs-ink)' } },
    },
  },
});

const shared = { '--hs-font-measure': "'Archivo Variable', 'Arial Narrow', sans-serif" };

export const variables: CSSVariablesResolver = () => ({
  variables: shared,
  light: {
    '--mantine-color-body': '#f5f1e8',
    '--mantine-color-text': '#23201c',
    '--mantine-color-dimmed': '#5d564c',
    '--mantine-color-placeholder': '#6b6459',
    '--mantine-color-error': '#8f2e24',
    '--mantine-color-default': '#fdfbf6',
    '--mantine-color-disabled': '#e6dfd0',
    '--mantine-color-disabled-color': '#6f675b',
    '--mantine-color-default-border': '#8d8373',
    '--hs-surface': '#fdfbf6',
    '--hs-sunk': '#ece6d9',
    '--hs-ink': '#23201c',
    '--hs-ink-soft': '#5d564c',
    '--hs-line': '#d8cfbe',
    '--hs-clay': '#a2583a',
    '--hs-celadon': '#386b57',
    '--hs-celadon-wash': '#dde9e1',
    '--hs-ochre': '#b57f12',
    '--hs-ochre-ink': '#754d04',
    '--hs-ochre-wash': '#f6e8c9',
    '--hs-oxblood': '#8f2e24',
    '--hs-oxblood-wash': '#f5dfdb',
    '--hs-cobalt': '#345598',
    '--hs-cobalt-wash': '#e0e7f3',
    '--hs-medium': '#dcc9b1',
    '--hs-roots': '#8d6c52',
    '--hs-fresh': '#e8d9bd',
  },
  dark: {
    '--mantine-color-body': '#1d1916',
    '--mantine-color-text': '#ece4d8',
    '--mantine-color-dimmed': '#b3a797',
    '--mantine-color-placeholder': '#a3978a',
    '--mantine-color-error': '#e9a097',
    '--mantine-color-default': '#28221d',
    '--mantine-color-disabled': '#332b25',
    '--mantine-color-disabled-color': '#a3978a',
    '--mantine-color-default-border': '#85786a',
    '--hs-surface': '#28221d',
    '--hs-sunk': '#171310',
    '--hs-ink': '#ece4d8',
    '--hs-ink-soft': '#b9ad9d',
    '--hs-line': '#463c33',
    '--hs-clay': '#d08a66',
    '--hs-celadon': '#8cc3a5',
    '--hs-celadon-wash': '#2b3d34',
    '--hs-ochre': '#dba83b',
    '--hs-ochre-ink': '#ecc271',
    '--hs-ochre-wash': '#42341a',
    '--hs-oxblood': '#e58b80',
    '--hs-oxblood-wash': '#472722',
    '--hs-cobalt': '#93b1e6',
    '--hs-cobalt-wash': '#26324a',
    '--hs-medium': '#4b3d31',
    '--hs-roots': '#a58467',
    '--hs-fresh': '#5e4d39',
  },
});
