"""A lesson of language with long texts, as a colleague might have made it, written by odfpy: language.py FILE

The story is made up.
"""
import sys

from odf import dc
from odf.draw import Frame, Page, TextBox
from odf.opendocument import OpenDocumentPresentation
from odf.presentation import Notes
from odf.style import (
    GraphicProperties,
    MasterPage,
    PageLayout,
    PageLayoutProperties,
    ParagraphProperties,
    Style,
    TextProperties,
)
from odf.text import List, ListItem, P

deck = OpenDocumentPresentation()
layout = PageLayout(name='wide')
layout.addElement(PageLayoutProperties(margin='0cm', pagewidth='28cm', pageheight='15.75cm', printorientation='landscape'))
deck.automaticstyles.addElement(layout)
master = MasterPage(name='plain', pagelayoutname=layout)
deck.masterstyles.addElement(master)


def letters(name, size, colour='#222222', bold=False, align='start'):
    style = Style(name=name, family='presentation')
    style.addElement(ParagraphProperties(textalign=align))
    style.addElement(TextProperties(fontsize=f'{size}pt', color=colour, **({'fontweight': 'bold'} if bold else {})))
    style.addElement(GraphicProperties(fill='none', stroke='none'))
    deck.automaticstyles.addElement(style)
    return style


TITLE = letters('heading', 32, '#5B2A6E', True)
BODY = letters('body', 20)
BOX = letters('box', 18)


def slide(title, notes, paragraphs=(), points=(), aside=''):
    page = Page(masterpagename=master)
    deck.presentation.addElement(page)
    frame = Frame(stylename=TITLE, width='25cm', height='2cm', x='1.5cm', y='0.6cm', attributes={'class': 'title'})
    box = TextBox()
    box.addElement(P(text=title))
    frame.addElement(box)
    page.addElement(frame)
    if paragraphs or points:
        width = '16cm' if aside else '25cm'
        frame = Frame(stylename=BODY, width=width, height='11cm', x='1.5cm', y='3cm', attributes={'class': 'outline'})
        box = TextBox()
        for text in paragraphs:
            box.addElement(P(text=text))
        if points:
            bullets = List()
            for text in points:
                item = ListItem()
                item.addElement(P(text=text))
                bullets.addElement(item)
            box.addElement(bullets)
        frame.addElement(box)
        page.addElement(frame)
    if aside:
        frame = Frame(stylename=BOX, width='8cm', height='6cm', x='18.5cm', y='3cm')
        box = TextBox()
        box.addElement(P(text=aside))
        frame.addElement(box)
        page.addElement(frame)
    if notes:
        said = Notes()
        frame = Frame(width='15cm', height='10cm', x='2cm', y='14cm', attributes={'class': 'notes'})
        box = TextBox()
        for line in notes.split('\n'):
            box.addElement(P(text=line))
        frame.addElement(box)
        said.addElement(frame)
        page.addElement(said)


STORY = (
    'The lamp at the end of the pier had been lit every evening for sixty years, and for the last eleven of them by Maren. '
    'She was not the keeper. The keeper was her grandfather, who could no longer climb the forty-one steps, and who sat below '
    'with a cup of tea and counted them aloud so that she would not be alone up there.',
    'On the last night of November the wind came round to the north. Maren put the oil in her coat, so that it would stay '
    'warm and run, and began to climb. One, said her grandfather. Two. At nineteen the window above her blew in.',
    'She stood still. Below her the counting had stopped as well. Then, very quietly, as if nothing had happened, the voice '
    'went on: twenty. And because somebody had said twenty, there had to be a foot on it.',
)

slide('The lamp on the pier', 'We read a story in three parts.', ['A story, and how it is made'])
slide('Before we read', 'Talk to the person beside you.', points=['What is a lamp at sea for?', 'Who would look after it?'])
slide('Words you will meet', 'Say them after me.', points=['pier: a walk built out into the water', 'keeper: who looks after something', 'aloud: so that others can hear'])
slide('Part one', 'Listen first. Then read it by yourself.', [STORY[0]], aside='How old could Maren be? Find the words that tell you.')
slide('What do we know now?', 'Answer with words of the text.', points=['Who lights the lamp?', 'Why not the keeper?', 'What does the grandfather do below?'])
slide('Part two', 'Listen for the numbers.', [STORY[1]])
slide('The writer counts', 'Numbers make us climb with her.', points=['Which numbers are said?', 'What happens at nineteen?'])
slide('Part three', 'Read it twice, the second time in a whisper.', [STORY[2]])
slide('A sentence to look at', 'Why “had to be”?', ['“And because somebody had said twenty, there had to be a foot on it.”'])
slide('Short and long', 'Count the words of each.', points=['“She stood still.” Three words.', 'The sentence before it has nine.', 'What does the short one do to you?'])
slide('Feelings without their names', 'Nowhere does it say that she is afraid.', points=['Find what she does.', 'Find what she does not do.', 'Find what the voice does.'])
slide('Your turn: plan', 'Only notes, no sentences.', points=['a place that is high or dark', 'somebody who helps from afar', 'one thing that goes wrong'])
slide('Your turn: begin', 'Begin in the middle.', ['Write the first three sentences.', 'Do not say who it is before the third.'])
slide('Listen to one', 'Thank you for reading.', ['“Six, said the radio. Seven. I did not look at the water.”'])
slide('Make it better', 'Change one thing at a time.', points=['Cut a word that says nothing.', 'Put in one number.', 'Make one sentence very short.'])
slide('Speech marks', 'Look where the comma stands.', ['“Twenty,” said the voice.', 'The voice said, “Twenty.”'])
slide('Check the marks', 'Copy the two lines and put the marks in.', points=['Are you there called Maren', 'Nineteen he said and stopped'])
slide('What stays with you?', 'One word is enough.', ['Which word of the story will you keep?'])
slide('Check yourself', 'Without the story.', points=['Why does the grandfather count?', 'What is an aside?', 'Give one short sentence that changes the mood.'])
slide('At home', '', ['Read your beginning to somebody, and ask what they see.'])

deck.meta.addElement(dc.Title(text='The lamp on the pier'))
deck.save(sys.argv[1])
