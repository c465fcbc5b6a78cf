import Modal from 'react-bootstrap/Modal'
import { COMMAND_IDS, command } from './commands'
import { BAY } from './screen'

/** Every key of the Bay. Letters work while the entry is empty. */
export function KeyList({ shown, onHide }: { shown: boolean; onHide: () => void }) {
  return (
    <Modal show={shown} onHide={onHide} animation={false} className={BAY} aria-labelledby="keys-title">
      <Modal.Header closeButton>
        <Modal.Title as="h2" id="keys-title">
          Keys of the Bay
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <table className="table table-sm">
          <tbody>
            {COMMAND_IDS.map(command).map(({ key, help }) => (
              <tr key={key}>
                <th scope="row">
                  <kbd>{key}</kbd>
                </th>
                <td>{help}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </Modal.Body>
    </Modal>
  )
}
