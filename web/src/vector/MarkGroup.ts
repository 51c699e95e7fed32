import { defineComponent, h, useId, type PropType, type VNode } from 'vue'
import { countedIds, groupAround, svgNodes, type NewId, type SvgNode } from '@nolvex/core/paint/svgNodes'
import type { Group, Mark } from '@nolvex/core/vector/mark'

/** A group of marks in a drawing on the page. Groups in it are components of their own: one that stays is not drawn again. */
export const MarkGroup = defineComponent({
  name: 'MarkGroup',
  props: { group: { type: Object as PropType<Group>, required: true } },
  setup(props) {
    const prefix = useId()
    return () => {
      const newId = countedIds(prefix)
      // The element of the group is written as everywhere; what stands in it follows by component.
      const nodes = groupAround(props.group, [], newId)
      return nodes.map((node) =>
        node.tag === 'g' ? groupElement(node, props.group, newId) : elementOf(node),
      )
    }
  },
})

function groupElement(node: SvgNode, { key, marks }: Group, newId: NewId): VNode {
  return h(
    'g',
    { ...node.attributes, 'data-block': key },
    marks.flatMap((mark, index) => markNodes(mark, index, newId)),
  )
}

function markNodes(mark: Mark, index: number, newId: NewId): VNode[] {
  if (mark.type === 'group') return [h(MarkGroup, { group: mark, key: mark.key ?? index })]
  return svgNodes(mark, newId).map(elementOf)
}

const elementOf = ({ tag, attributes, nodes, text }: SvgNode): VNode =>
  h(tag, attributes, text ?? nodes?.map(elementOf))
