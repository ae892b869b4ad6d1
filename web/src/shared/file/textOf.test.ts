import { expect, test } from 'vitest'
import { textOf } from './textOf'

const file = (bytes: number[]) => new File([new Uint8Array(bytes)], 'quay.txt')

// "é" is C3 A9 in UTF-8 and E9 in ISO 8859-1; EF BB BF is the mark some editors put first (Unicode standard, 23.8).
test('a text in UTF-8 is read, with and without its mark', async () => {
  await expect(textOf(file([0x63, 0xc3, 0xa9]))).resolves.toBe('cé')
  await expect(textOf(file([0xef, 0xbb, 0xbf, 0x63]))).resolves.toBe('c')
})

test.each([
  ['another encoding', [0x63, 0xe9, 0x0a]],
  ['UTF-16', [0xff, 0xfe, 0x63, 0x00]],
  ['no text', [0x00, 0x01, 0x02]],
])('%s is refused by name', async (_, bytes) => {
  await expect(textOf(file(bytes))).rejects.toThrow('“quay.txt” is no UTF-8 text.')
})

test('a file that went away is told so', async () => {
  const gone = Object.assign(file([]), { arrayBuffer: () => Promise.reject(new Error('NotFoundError')) })
  await expect(textOf(gone)).rejects.toThrow('“quay.txt” cannot be read any more.')
})
