// @vitest-environment happy-dom
import { expect, it } from 'vitest'
import { elementOf, isTicked, typedIn } from './typed'

function changed(html: string) {
  document.body.innerHTML = html
  let seen: Event | undefined
  const field = document.body.firstElementChild
  field?.addEventListener('change', (event) => (seen = event))
  field?.dispatchEvent(new Event('change'))
  if (!seen) throw new Error('nothing happened')
  return seen
}

it('reads what was typed, chosen and ticked', () => {
  expect(typedIn(changed('<input value="Hall">'))).toBe('Hall')
  expect(typedIn(changed('<select><option>a<option selected>b</select>'))).toBe('b')
  expect(typedIn(changed('<textarea>two\nlines</textarea>'))).toBe('two\nlines')
  expect(isTicked(changed('<input type="checkbox" checked>'))).toBe(true)
  expect(isTicked(changed('<input type="checkbox">'))).toBe(false)
})

it('tells a fault of ours from an empty field', () => {
  const event = changed('<div></div>')
  expect(() => typedIn(event)).toThrow('change comes from no field')
  expect(isTicked(event)).toBe(false)
  expect(elementOf(event)?.tagName).toBe('DIV')
  expect(elementOf(new Event('keydown'))).toBeNull()
})
