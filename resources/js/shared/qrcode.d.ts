declare module 'qrcode' {
  export function toDataURL(text: string, options: { margin: number; width: number }): Promise<string>
  export function create(text: string): { modules: { size: number; data: Uint8Array } }
}
