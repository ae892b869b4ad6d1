import { STROKES } from '../../../shared/course/LoadStrip'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { answer, api, type Schemas } from '../../../api/client'
import { queries, refreshAll } from '../../../api/queries'
import { Button, LINE_LINK } from '../../../ui/Button'
import { FileButton } from '../../../ui/FileButton'
import { useNotice } from '../../../ui/Notices'
import { textOf } from '../../../shared/file/textOf'
import { Waiting } from '../../../ui/Waiting'
import { BrokenFiles, OfferFacts } from '../../../shared/course/Offers'
import { PlaceSheet } from './PlaceSheet'
import { wording } from '../wording'

type Offer = Schemas['Offer']

/** All courses: those that ship and the learner's own, to follow, copy, change, merge. */
export default function LibraryScreen() {
  return (
    <div className="wide:px-8 px-4 py-6">
      <h1>{wording.courses()}</h1>
      <p className="text-faded">{STROKES}</p>
      <Bring />
      <Waiting query={useQuery(queries.courses())}>
        {({ courses, broken }) => (
          <>
            {courses.map((offer) => (
              <Shelved key={offer.id} offer={offer} taken={courses.map((c) => c.id)} />
            ))}
            <BrokenFiles files={broken} />
          </>
        )}
      </Waiting>
    </div>
  )
}

function Bring() {
  const client = useQueryClient()
  const say = useNotice()
  const bring = useMutation({
    mutationFn: async (file: File) =>
      answer(
        api.POST('/api/courses/import', {
          body: (await textOf(file)) as never,
          bodySerializer: (body) => body as unknown as string,
          headers: { 'Content-Type': 'text/plain' },
        }),
      ),
    onSuccess: ({ id }) => {
      say(wording.broughtInId({ id }))
      return refreshAll(client)
    },
  })
  return (
    <div className="my-3">
      <p className="flex flex-wrap gap-x-6">
        <Link to="/course/edit/new" className={LINE_LINK}>
          {wording.writeACourse()}
        </Link>
        <Link to="/course/merge" className={LINE_LINK}>
          {wording.mergeTwoCourses()}
        </Link>
        <FileButton
          accept=".yaml,.yml,.json"
          label={wording.courseFileYamlOrJson()}
          onFiles={([file]) => bring.mutate(file)}
        >
          {wording.bringInAFile()}
        </FileButton>
      </p>
      {bring.isError && (
        <p role="alert" className="text-sanguine">
          {bring.error.message}
        </p>
      )}
    </div>
  )
}

function Shelved({ offer, taken }: { offer: Offer; taken: string[] }) {
  const [placing, setPlacing] = useState(false)
  const navigate = useNavigate()
  const client = useQueryClient()
  const say = useNotice()
  const remove = useMutation({
    mutationFn: async () => {
      const document = await client.fetchQuery(queries.document(offer.id))
      await answer(api.DELETE('/api/courses/{id}', { params: { path: { id: offer.id } } }))
      return document
    },
    onSuccess: (document) => {
      say(wording.removedTitle({ title: offer.title }), {
        label: wording.undo(),
        run: () =>
          answer(
            api.PUT('/api/courses/{id}', {
              params: { path: { id: offer.id } },
              body: document as never,
            }),
          ).then(() => refreshAll(client)),
      })
      return refreshAll(client)
    },
    onError: (error) => say(error.message),
  })
  const copyId = () => {
    let n = 2
    while (taken.includes(`${offer.id}-${n}`)) {
      n++
    }
    return `${offer.id}-${n}`
  }
  return (
    <article className="border-hairline border-t py-4" aria-label={offer.title}>
      <h2 className="inline">{offer.title}</h2>
      <OfferFacts offer={offer} />
      <p className="mt-1 flex flex-wrap gap-x-6">
        <Button
          look="ink"
          onClick={() => setPlacing(true)}
          aria-label={wording.followTitle({ title: offer.title })}
        >
          {wording.follow()}
        </Button>
        {offer.own && (
          <Link
            to={`/course/edit/${offer.id}`}
            className={LINE_LINK}
            aria-label={wording.changeTitle({ title: offer.title })}
          >
            {wording.change()}
          </Link>
        )}
        <Button
          onClick={() => navigate(`/course/edit/new?from=${offer.id}&as=${copyId()}`)}
          aria-label={wording.copyTitle({ title: offer.title })}
        >
          {wording.copy()}
        </Button>
        <a
          href={`/api/courses/${offer.id}/file?as=yaml`}
          className={LINE_LINK}
          aria-label={wording.titleAsYaml({ title: offer.title })}
        >
          {wording.yaml()}
        </a>
        <a
          href={`/api/courses/${offer.id}/file?as=json`}
          className={LINE_LINK}
          aria-label={wording.titleAsJson({ title: offer.title })}
        >
          {wording.json()}
        </a>
        {offer.own && (
          <Button
            className="text-sanguine"
            onClick={() => remove.mutate()}
            aria-label={wording.removeTitle({ title: offer.title })}
          >
            {wording.remove()}
          </Button>
        )}
      </p>
      {placing && <PlaceSheet offer={offer} onClose={() => setPlacing(false)} />}
    </article>
  )
}
