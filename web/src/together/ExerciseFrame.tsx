import type { ReactNode } from 'react';
import { useParams } from 'react-router';
import type { Api } from '../api/client';
import { useExercise, useSheet } from '../api/exercises';
import { Notice, Waiting } from '../page/Notice';
import { Page } from '../page/Page';

export type Frame = { exercise: Api<'ExerciseView'>; sheet: Api<'Sheet'> };

/** A page about an exercise, below it, once the exercise is there. */
export function ExerciseFrame(props: { title: string; children: (frame: Frame) => ReactNode }) {
  const id = Number(useParams().exercise);
  const exercise = useExercise(id);
  const sheet = useSheet(id);
  const error = exercise.error ?? sheet.error;
  return (
    <Page
      title={sheet.data ? `${props.title}, ${sheet.data.title}` : props.title}
      crumbs={[
        ...(sheet.data
          ? [
              { text: sheet.data.course, to: `/courses/${sheet.data.courseId}` },
              { text: `${sheet.data.number} · ${sheet.data.title}`, to: `/exercises/${id}` },
            ]
          : []),
        { text: props.title },
      ]}
    >
      <h1 className="text-[27px]">{props.title}</h1>
      {exercise.data && sheet.data ? (
        props.children({ exercise: exercise.data, sheet: sheet.data })
      ) : error ? (
        <Notice
          title="The exercise could not be opened"
          text={error.message}
          again={() => {
            void exercise.refetch();
            void sheet.refetch();
          }}
        />
      ) : (
        <Waiting what="Opening the exercise" />
      )}
    </Page>
  );
}
