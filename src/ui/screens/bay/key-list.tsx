import Modal from 'react-bootstrap/Modal'
import { MARKS } from '@/core/shots/mark'
import { MARK_NAME } from '@/text/names'
import { MARK_KEY } from './last-shot'

const KEYS: [string, string][] = [
  [
    '0–9 Enter',
    'a carry; 129 3l is 3 left of line, 121 m is in metres; several carries with spaces between, or pasted',
  ],
  ['0–9 E', 'what you expect of the station, before you hit it'],
  ['Enter', 'nobody is in front, where Banco asks'],
  ...MARKS.map((mark): [string, string] => [MARK_KEY[mark], `the shot was ${MARK_NAME[mark]}`]),
  ['N', 'next: the plan’s station, or the longer club'],
  ['↑', 'the longer club'],
  ['P ↓', 'the shorter club'],
  ['X', 'full, three-quarter, half'],
  ['Y K', 'a held shot: what Banco asks, or as it is'],
  ['V', 'moves the shots that look like another club’s'],
  ['U', 'warm-up begins, or ends'],
  ['G', 'the wind got up, or dropped'],
  ['R', 'a rest'],
  ['H', 'the history of the shot'],
  ['Z', 'undo what the button names, one step at a time'],
  ['⇧Z', 'redo what was undone'],
  ['?', 'these keys'],
]

/** Every key of the Bay. Letters work while the entry is empty. */
export function KeyList({ shown, onHide }: { shown: boolean; onHide: () => void }) {
  return (
    <Modal show={shown} onHide={onHide} animation={false} aria-labelledby="keys-title">
      <Modal.Header closeButton>
        <Modal.Title as="h2" id="keys-title">
          Keys of the Bay
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <table className="table table-sm">
          <tbody>
            {KEYS.map(([key, what]) => (
              <tr key={key}>
                <th scope="row">
                  <kbd>{key}</kbd>
                </th>
                <td>{what}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </Modal.Body>
    </Modal>
  )
}
