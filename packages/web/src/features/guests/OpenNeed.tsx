import { CloseOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { knownOf, needWords, readNeeds, type Need } from '@lupin/core';
import { choiceName, type Preset } from './needChoices.ts';

/** Words that are not a need yet. Where they can mean several things, each is one press away; until then every dish is a question. */
export function OpenNeed({
  need,
  onMeant,
  onRemove,
}: {
  need: Extract<Need, { kind: 'open' }>;
  onMeant: (needs: Preset['needs']) => void;
  onRemove: () => void;
}) {
  const known = knownOf(need.text);
  const { parts } = readNeeds(need.text);
  const questions = parts.filter((part) => part.kind === 'question');
  // What was not understood when it was noted may be by now.
  const meant = parts.filter((part) => part.kind === 'need');
  return (
    <div style={{ borderBottom: '1px solid var(--line)', padding: '5px 0' }}>
      <div className="need-row" style={{ border: 0, padding: 0 }}>
        <span className="fault" style={{ gridColumn: '1 / 3' }}>
          <span className="words">“{need.text}”</span>: every dish stays “check” until you choose what it means.
        </span>
        <Button type="text" icon={<CloseOutlined />} aria-label={`Remove ${needWords(need)}`} onClick={onRemove} />
      </div>
      {known.map(({ id, name, asks }) => (
        <div key={id}>
          <p className="small" style={{ margin: '2px 0 0' }}>
            Lupin knows of {name} and does not judge it: it is the guest’s and their clinician’s or custom’s to say. Go
            through these with them, note each that matters as a need, then take this away:
          </p>
          <ul className="small" style={{ margin: '2px 0 6px', paddingLeft: 18 }}>
            {asks.map((each) => (
              <li key={each}>{each}</li>
            ))}
          </ul>
        </div>
      ))}
      {meant.length > 0 && (
        <Button
          size="small"
          onClick={() =>
            onMeant(meant.map(({ target, strictness, exceptions }) => [target, strictness, { exceptions }]))
          }
        >
          Take it for: {meant.map(({ target }) => choiceName(target)).join(' and ')}
        </Button>
      )}
      {questions.map((question) => (
        <div key={question.words}>
          <p style={{ margin: '2px 0 4px' }}>{question.ask}</p>
          <div className="row" style={{ gap: 6, flexWrap: 'wrap' }}>
            {question.choices.map((targets) => (
              <Button
                key={targets.join()}
                size="small"
                onClick={() => onMeant(targets.map((target) => [target, question.strictness]))}
              >
                {targets.map(choiceName).join(' and ')}
              </Button>
            ))}
          </div>
        </div>
      ))}
    </div>
  );
}
