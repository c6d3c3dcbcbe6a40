type Field = HTMLInputElement | HTMLSelectElement | HTMLTextAreaElement

/** The field that somebody typed or chose in. */
function fieldOf(event: Event): Field {
  const field = event.target
  if (field instanceof HTMLInputElement || field instanceof HTMLSelectElement || field instanceof HTMLTextAreaElement)
    return field
  throw new TypeError(`${event.type} comes from no field`)
}

/** What was typed or chosen. */
export const typedIn = (event: Event) => fieldOf(event).value

/** Whether a box was ticked. */
export const isTicked = (event: Event) => event.target instanceof HTMLInputElement && event.target.checked

/** What an event happened on, where that is an element. */
export const elementOf = (event: Event) => (event.target instanceof Element ? event.target : null)
