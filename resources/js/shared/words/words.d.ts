declare module 'virtual:words' {
  /** `en/bench` → the words of a screen. */
  export const loaders: Record<string, () => Promise<{ default: Record<string, string> }>>
}
