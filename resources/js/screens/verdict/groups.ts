import type { Finding, Severity } from '@/shared/api/generated/http'

/** Findings of one cause told as one: danger first, and remarks of one kind in one line. */
export interface FindingGroup {
  severity: Severity
  /** Findings that follow from no other, with their places in the verdict's list. */
  members: { finding: Finding; index: number; follows: Finding[] }[]
}

const ORDER: readonly Severity[] = ['danger', 'fault', 'remark', 'note']

export function groupsOf(findings: readonly Finding[]): FindingGroup[] {
  const groups = new Map<string, FindingGroup>()
  for (const [index, finding] of findings.entries()) {
    if (finding.causedBy !== null) continue
    const isMild = finding.severity === 'remark' || finding.severity === 'note'
    const key = isMild ? finding.code : String(index)
    const group = groups.get(key) ?? { severity: finding.severity, members: [] }
    group.members.push({ finding, index, follows: findings.filter(({ causedBy }) => causedBy === index) })
    groups.set(key, group)
  }
  const rank = ({ severity, members }: FindingGroup) =>
    members.some(({ follows }) => follows.some((one) => one.severity === 'danger')) ? 0 : ORDER.indexOf(severity)
  return [...groups.values()].sort((a, b) => rank(a) - rank(b) || a.members[0]!.index - b.members[0]!.index)
}
