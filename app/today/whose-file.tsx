import { Button } from '@/ui/button'
import { Dialog } from '@/ui/dialog'

/** Somebody who is here and may be the one in the file. */
interface Alike {
  readonly id: string
  readonly number: number
  readonly name: string
  readonly born: string | null
  readonly why: string
}

/** Whose examination the file is has to be said. */
export interface Choose {
  readonly name: string
  readonly born: string | null
  readonly people: readonly Alike[]
}

interface Props {
  readonly choose: Choose
  /** The id of somebody who is here, or `new`. */
  readonly onChoose: (person: string) => void
  readonly onClose: () => void
}

/** Asks whose examination a file is: nobody is joined to anybody by a name alone. */
export function WhoseFile({ choose, onChoose, onClose }: Props) {
  return (
    <Dialog open onOpenChange={(open) => !open && onClose()} title="Whose examination is this?">
      <p className="my-3">
        The file names <strong>{choose.name}</strong>
        {choose.born && `, born ${choose.born}`}. Nobody is joined to anybody by a name alone.
      </p>
      <ul>
        {choose.people.map((person) => (
          <li key={person.id} className="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-hair py-2">
            <span className="grow">
              <span className="font-semibold">{person.name}</span>, number {person.number}
              {person.born && `, born ${person.born}`}
              <span className="block text-ash">{person.why}</span>
            </span>
            <Button onClick={() => onChoose(person.id)}>File it under number {person.number}</Button>
          </li>
        ))}
      </ul>
      <div className="mt-4 flex flex-wrap gap-3 border-t border-hair pt-4">
        <Button look="main" onClick={() => onChoose('new')}>
          Somebody new
        </Button>
        <Button onClick={onClose}>Do not import it</Button>
      </div>
    </Dialog>
  )
}
