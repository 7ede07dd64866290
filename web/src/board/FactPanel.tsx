import { api, ask, type Refused, type Schemas } from '../api/client';
import { keys } from '../api/keys';
import { Trouble } from '../app/Trouble';
import { useQuery } from '../app/useQuery';
import { BoardDialog } from './BoardDialog';

type Props = { find?: Schemas['FindView']; onClose: () => void };

/** Ways to find the fact of a step, for those who do not know it yet. */
export function FactPanel({ find, onClose }: Props) {
  const ways = useQuery<Schemas['FactWayView'][], Refused>({
    queryKey: keys.work.facts(find),
    queryFn: () => (find ? ask(api.GET('/api/facts', { params: { query: find } })) : Promise.resolve([])),
    staleTime: Infinity,
  });
  return (
    <BoardDialog name="How to find it" onClose={onClose}>
      <Trouble message={ways.error?.message} />
      {ways.data?.length === 0 && <span>There is no small fact to find in this step.</span>}
      {ways.data?.map((way) => (
        <div key={way.name} style={{ marginBottom: 10, fontSize: 24 }}>
          <b style={{ fontSize: 19 }}>{way.name}</b>
          {way.lines.map((line) => (
            <div key={line}>{line}</div>
          ))}
        </div>
      ))}
    </BoardDialog>
  );
}
