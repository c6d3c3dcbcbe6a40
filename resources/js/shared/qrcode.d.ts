declare module 'qrcode' {
  export function create(text: string): { modules: { size: number; data: Uint8Array } }
}
