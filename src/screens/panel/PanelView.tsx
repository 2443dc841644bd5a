'use client'
import { SHOWS, USUAL_PANEL } from '@/core/model/panelFormat'
import { Button } from '@/ui/Button'
import { Tick } from '@/ui/Tick'
import { Views } from '@/ui/Views'
import { Handles } from './Handles'
import { OnPart } from './OnPart'
import { PanelBoard } from './PanelBoard'
import { OWN } from './panelAddress'
import { SHOW_WORDS } from './panelWords'
import { StepStrip } from './StepStrip'
import type { OnPanelNow } from './useOnPanel'

/** What is seen, on the panel or on the part, with the steps under it and what is shown of them. */
export function PanelView({ now, onPin }: { now: OnPanelNow; onPin: () => void }) {
  const { address, setAddress, trying, at, last, act, lit, keepLit, looked, other, otherSays } = now
  const accidents = new Set(looked.figures?.measures.accidents.map(({ step }) => step))
  const strip = <StepStrip steps={trying.trial.steps} at={at} wrong={accidents} onAt={now.goTo} />
  const shows = (
    <Views
      label="What is shown"
      view={address.show}
      views={VIEWS}
      small
      onView={(show) => void setAddress({ show })}
    />
  )
  return (
    <>
      {now.onPart ? (
        <>
          <OnPart painted={now.painted} said={now.said} flat={address.show === 'flat'} />
          {strip}
          {shows}
        </>
      ) : (
        <PanelBoard
          looked={looked}
          other={other}
          say={now.said}
          otherSays={otherSays}
          nowSays="What you try"
          widthMm={now.panel.widthMm ?? USUAL_PANEL.widthMm}
          heightMm={now.panel.heightMm ?? USUAL_PANEL.heightMm}
          lit={lit}
          handles={
            act &&
            last && (
              <Handles
                act={act}
                scale={trying.trial.scale}
                onTurn={(fields) => trying.turn(last.id, fields)}
              />
            )
          }
          below={shows}
        >
          {strip}
        </PanelBoard>
      )}
      <div className="mt-1 flex flex-wrap items-center gap-x-5 gap-y-2">
        {!now.onPart && (
          <>
            <Tick on={keepLit} onTick={now.setKeepLit} className="min-h-11">
              Light up what the step did
            </Tick>
            <Tick
              on={other !== null}
              onTick={(on) => void setAddress({ with: on ? OWN : null })}
              className="min-h-11"
            >
              Wipe against {now.compared ? otherSays : 'how it was'}
            </Tick>
          </>
        )}
        <span className="ml-auto flex flex-wrap gap-2">
          <Button onClick={() => void setAddress({ seed: address.seed + 1 })}>Another throw</Button>
          {/* What is pinned is kept with what it came to. */}
          <Button disabled={!looked.measured && looked.failed === null} onClick={onPin}>
            Pin this
          </Button>
        </span>
      </div>
    </>
  )
}

const VIEWS = SHOWS.map((id) => ({ id, say: SHOW_WORDS[id] }))
