/** The fields that say what a photo belongs to, and of which kind that is. */
const SUBJECTS = { visitId: 'visit', unitId: 'unit', blowerTableId: 'blowerTable' } as const;
type SubjectField = keyof typeof SUBJECTS;
type PhotoSubjectKind = (typeof SUBJECTS)[SubjectField];

const SUBJECT_FIELDS = Object.keys(SUBJECTS) as SubjectField[];

/** The one record that a photo belongs to. */
export interface PhotoSubject {
  readonly kind: PhotoSubjectKind;
  readonly id: string;
}

/** What a photo belongs to; undefined where that is not said, or said twice. @example subjectOf({ unitId }) // { kind: 'unit', id: unitId } */
export function subjectOf(photo: { readonly [field in SubjectField]?: string | null }): PhotoSubject | undefined {
  const [subject, second] = SUBJECT_FIELDS.flatMap((field): PhotoSubject[] => {
    const id = photo[field];
    return id ? [{ kind: SUBJECTS[field], id }] : [];
  });
  return second ? undefined : subject;
}
