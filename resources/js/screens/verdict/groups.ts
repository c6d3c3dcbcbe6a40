import type { Finding, Severity } from '@/shared/api/generated/http'

/** Findings of one cause told as one: danger first, and remarks of one kind in one line. */
export interface FindingGroup {
  severity: Severity
  /** Findings that follow from no other, with their places in the verdict's list. */
  members: Member[]
  first: Member
}

interface Member {
  finding: Finding
  index: number
  follows: Finding[]
}

const ORDER: readonly Severity[] = ['danger', 'fault', 'remark', 'note']

export function groupsOf(findings: readonly Finding[]): FindingGroup[] {
  const groups = new Map<string, FindingGroup>()
  for (const [index, finding] of findings.entries()) {
    if (finding.causedBy !== null) continue
    const isMild = finding.severity === 'remark' || finding.severity === 'note'
    const key = isMild ? finding.code : String(index)
    const member = { finding, index, follows: findings.filter(({ causedBy }) => causedBy === index) }
    const group = groups.get(key) ?? { severity: finding.severity, members: [], first: member }
    group.members.push(member)
    groups.set(key, group)
  }
  const rank = ({ severity, members }: FindingGroup) =>
    members.some(({ follows }) => follows.some((one) => one.severity === 'danger')) ? 0 : ORDER.indexOf(severity)
  return [...groups.values()].sort((a, b) => rank(a) - rank(b) || a.first.index - b.first.index)
}
