import { answer, http } from '../client'

export const people = {
  session: () => answer(http.GET('/session')),
  signIn: (username: string, password: string, code = '') =>
    answer(http.POST('/session', { body: { username, password, ...(code ? { code } : {}) } })),
  signOutElsewhere: () => answer(http.DELETE('/sessions')),
  secondFactor: () => answer(http.GET('/second-factor')),
  newSecondFactor: () => answer(http.POST('/second-factor')),
  confirmSecondFactor: (code: string) => answer(http.PUT('/second-factor', { body: { code } })),
  endSecondFactor: (current: string) => answer(http.DELETE('/second-factor', { body: { current } })),
  signOut: () => answer(http.DELETE('/session')),
  status: () => answer(http.GET('/status')),
  instructors: () => answer(http.GET('/instructors')),
  invite: (name: string) => answer(http.POST('/instructors', { body: { name } })),
  changePassword: (current: string, password: string) => answer(http.PUT('/password', { body: { current, password } })),
}
